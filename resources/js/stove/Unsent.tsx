import { t } from '../words/messages';

/** Touches the server has not confirmed yet. */
export function Unsent({ count, lost }: { count: number; lost: boolean }) {
  return (
    <p role="status" className="flex-none bg-steel px-6 py-1 text-[min(1.25rem,2.6dvh)] text-ink">
      {lost ? t('stove.unsent.no-connection') : ''}
      {count > 0 ? t('stove.unsent.touches-kept', { count }) : t('stove.unsent.trying-again')}
    </p>
  );
}
