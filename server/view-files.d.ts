declare module '#view-files' {
  /** The scripts each view of a garden wants, by its name: written by the build. */
  export const views: Record<string, string[]>;
  /** The fonts that every page is written in. */
  export const fonts: string[];
}
