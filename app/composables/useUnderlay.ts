/** The picture under the yard's drawing, loaded as an image; null where there is none. */
export function useUnderlay() {
  const garden = useGardenStore();
  const yard = useYardStore();
  const image = shallowRef<HTMLImageElement | null>(null);
  watch(
    () => yard.yard.underlay?.picture,
    async (picture) => {
      image.value = null;
      if (!picture) return;
      const { data } = await callApi<{ data: string }>('GET', `/api/gardens/${garden.id}/pictures/${picture}`);
      const loaded = new Image();
      loaded.src = data;
      await loaded.decode();
      if (yard.yard.underlay?.picture === picture) image.value = loaded;
    },
    { immediate: true },
  );
  return { image };
}
