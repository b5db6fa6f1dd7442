/** Somebody on this page who can go to an address without loading the page anew. */
type Walker = (search: string) => void;

let walker: { readonly path: string; readonly walk: Walker } | null = null;

/** Tells that a room walks its own addresses by itself; the answer takes it back. */
export function walksItself(path: string, walk: Walker): () => void {
  const mine = { path, walk };
  walker = mine;
  return () => {
    if (walker === mine) walker = null;
  };
}

/** Goes to an address of the application: within the room where it can, else by loading the page. */
export function goTo(href: string): void {
  const { pathname, search } = new URL(href, window.location.origin);
  if (walker && walker.path === pathname) walker.walk(search);
  else window.location.assign(href);
}
