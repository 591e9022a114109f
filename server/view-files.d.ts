/** The scripts each view of a garden wants, by its name: written by the build. */
declare module '#view-files' {
  const files: Record<string, string[]>;
  export default files;
}
