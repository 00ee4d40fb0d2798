import { useQueryClient } from '@tanstack/react-query';
import { api } from '../api';
import type { Archive } from '../contracts.generated';
import { BringIn } from '../parts/BringIn';

const KEY = 'min-h-14 rounded-lg border-2 border-ink px-5 text-lg font-semibold';

/** A kitchen whole, from its archive; what it would do to this one is asked first. */
export function BringKitchen({ name }: { name: string }) {
  const client = useQueryClient();
  return (
    <BringIn
      words="Or bring a kitchen in from its archive"
      accept=".json,application/json"
      bring={api.bringKitchen}
      onBrought={() => void client.invalidateQueries()}
      ask={(text, take, stop) => {
        const archive = read(text);
        if (archive === null) {
          return <Refused onBack={stop} />;
        }
        const { house, pans, burners, dishes, cooks = [] } = archive;
        return (
          <div
            role="group"
            aria-label="The archive"
            className="mt-3 rounded-lg border-2 border-ink p-4 text-lg"
          >
            <p>
              <b>{house.name}</b>: {pans.length} pans, {burners.length} rings, {dishes.length} dishes,{' '}
              {cooks.length} pans in its log. Its height, clock, units and food code come with it.
            </p>
            <div className="mt-3 flex flex-wrap gap-3">
              <button type="button" onClick={() => take(text)} className={`${KEY} bg-ink text-paper`}>
                {house.name === name ? 'Bring it in' : `Bring it in, and call this kitchen ${house.name}`}
              </button>
              {house.name !== name && (
                <button
                  type="button"
                  onClick={() => take(JSON.stringify({ ...archive, house: { ...house, name } }))}
                  className={KEY}
                >
                  Bring it in, but stay {name}
                </button>
              )}
              <button type="button" onClick={stop} className={KEY}>
                Leave it
              </button>
            </div>
          </div>
        );
      }}
    />
  );
}

function Refused({ onBack }: { onBack: () => void }) {
  return (
    <p role="alert" className="mt-2 text-lg text-tomato">
      This is not the archive of a kitchen.{' '}
      <button type="button" onClick={onBack} className="min-h-11 font-semibold underline">
        Take another file
      </button>
    </p>
  );
}

/** The archive, as far as the question needs it; whether all of it holds is the server's to say. */
function read(text: string): Archive | null {
  try {
    const archive = JSON.parse(text) as Partial<Archive> | null;
    const lists = [archive?.pans, archive?.burners, archive?.dishes];
    return typeof archive?.house?.name === 'string' && lists.every(Array.isArray)
      ? (archive as Archive)
      : null;
  } catch {
    return null;
  }
}
