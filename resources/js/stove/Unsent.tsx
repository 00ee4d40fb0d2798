/** Touches the server has not confirmed yet. */
export function Unsent({ count, lost }: { count: number; lost: boolean }) {
  return (
    <p role="status" className="bg-steel px-6 py-2 text-xl text-ink">
      {lost ? 'No connection. ' : ''}
      {count > 0
        ? `${count} ${count === 1 ? 'touch' : 'touches'} kept on this tablet, still on the way`
        : 'Trying again …'}
    </p>
  );
}
