/** Touches the server has not confirmed yet. */
export function Unsent({ count, lost }: { count: number; lost: boolean }) {
  return (
    <p role="status" className="flex-none bg-steel px-6 py-1 text-[min(1.25rem,2.6dvh)] text-ink">
      {lost ? 'No connection. ' : ''}
      {count > 0
        ? `${count} ${count === 1 ? 'touch' : 'touches'} kept on this tablet, still on the way`
        : 'Trying again …'}
    </p>
  );
}
