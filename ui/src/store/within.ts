/** The rest of a path, from what is looked at inwards. */
export const within = (path: string, of: string): string =>
  path === of ? '' : path.startsWith(`${of} › `) ? path.slice(of.length + 3) : path;
