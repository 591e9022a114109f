<template><div>x</div></template>
