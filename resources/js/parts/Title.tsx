/** What the window, the tab and a screen reader call this page. */
export function Title({ children }: { children: string }) {
  return <title>{`${children} · Velko`}</title>;
}
