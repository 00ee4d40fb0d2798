import { t } from '../words/messages';

/** What the window, the tab and a screen reader call this page. */
export function Title({ children }: { children: string }) {
  return <title>{t('parts.title.children-velko', { children })}</title>;
}
