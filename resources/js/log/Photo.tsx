import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Camera, Trash2 } from 'lucide-react';
import { useRef } from 'react';
import { api, Refusal } from '../api';
import type { Cook } from '../contracts.generated';
import { queries } from '../queries';
import { t } from '../words/messages';

const KEY = 'flex min-h-12 items-center gap-2 rounded-lg border-2 border-ink px-4 text-lg font-semibold';

/** The photo of the plate, if somebody took one. */
export function Photo({ cook }: { cook: Cook }) {
  const client = useQueryClient();
  const input = useRef<HTMLInputElement>(null);
  const kept = (next: Cook) => client.setQueryData(queries.cook(cook.id).queryKey, next);
  const keep = useMutation({ mutationFn: (photo: Blob) => api.keepPhoto(cook.id, photo), onSuccess: kept });
  const drop = useMutation({ mutationFn: () => api.dropPhoto(cook.id), onSuccess: kept });
  const wrong = keep.error ?? drop.error;
  return (
    <div className="mt-3">
      {cook.photo && (
        <img
          src={cook.photo}
          alt={t('log.photo-of', { dish: cook.working.dish.name })}
          className="mb-2 max-h-96 w-full rounded-lg object-contain"
        />
      )}
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          disabled={keep.isPending}
          onClick={() => input.current?.click()}
          className={KEY}
        >
          <Camera aria-hidden="true" />
          {cook.photo ? t('log.another-photo') : t('log.a-photo')}
        </button>
        {cook.photo && (
          <button type="button" disabled={drop.isPending} onClick={() => drop.mutate()} className={KEY}>
            <Trash2 aria-hidden="true" />
            {t('log.without-photo')}
          </button>
        )}
      </div>
      <input
        ref={input}
        type="file"
        accept="image/jpeg,image/png,image/webp"
        aria-label={t('log.a-photo')}
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) {
            keep.mutate(file);
          }
        }}
      />
      {wrong !== null && (
        <p role="alert" className="mt-2 text-lg text-tomato">
          {wrong instanceof Refusal
            ? (wrong.problem.errors?.[0]?.detail ?? wrong.message)
            : t('common.the-kitchen-cannot-be-reached')}
        </p>
      )}
    </div>
  );
}
