import { useMutation } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { FormProvider, useForm, type DefaultValues, type FieldValues } from 'react-hook-form';
import { Refusal } from '../api';
import { Labels, placeOf, saidOf, type FieldWords } from './faults';
import { useUnsaved } from './Unsaved';
import { t } from '../words/messages';

/**
 * A form that is one document: what is refused is said beside its field, nothing typed is lost.
 */
export function Entry<T extends FieldValues, A>({
  values,
  save,
  onSaved,
  root = '',
  live = false,
  words = t('parts.entry.save'),
  children,
  beside,
}: {
  values: DefaultValues<T>;
  save: (values: T) => Promise<A>;
  onSaved: (answer: A) => void;
  /** Where in the document the form's fields stand, as a JSON Pointer. */
  root?: string;
  /** What is not typed over follows the values as they become: for what another hand may change meanwhile. */
  live?: boolean;
  words?: string;
  children: ReactNode;
  /** Further keys beside the one that keeps it. */
  beside?: ReactNode;
}) {
  const form = useForm<T>({
    defaultValues: values,
    ...(live && { values: values as T, resetOptions: { keepDirtyValues: true, keepErrors: true } }),
  });
  const [labels] = useState(() => new Map<string, FieldWords>());
  const saved = useUnsaved(form.formState.isDirty);
  const inForm = (pointer: string) => (pointer.startsWith(root) ? pointer.slice(root.length) : pointer);
  const nameOf = (pointer: string) => inForm(pointer).split('/').filter(Boolean).join('.');
  const kept = useMutation({
    mutationFn: save,
    onSuccess: (answer) => {
      saved();
      onSaved(answer);
    },
    onError: (error) => {
      for (const fault of error instanceof Refusal ? (error.problem.errors ?? []) : []) {
        const name = nameOf(fault.pointer);
        form.setError((name === '' ? 'root' : name) as 'root', {
          type: fault.code ?? 'refused',
          message: saidOf(fault, labels.get(name)?.units),
        });
      }
    },
  });
  const faults = kept.error instanceof Refusal ? (kept.error.problem.errors ?? []) : [];

  return (
    <FormProvider {...form}>
      <Labels value={labels}>
        <form
          noValidate
          onSubmit={(event) => {
            // What was refused before is asked anew: of what is no field by itself nobody else would take the fault away.
            form.clearErrors();
            void form.handleSubmit((entered) => kept.mutate(entered))(event);
          }}
          className="grid gap-4"
        >
          {children}
          {kept.isError && (
            <p role="alert" className="text-lg text-tomato">
              {faults.length > 0
                ? t('parts.entry.not-saved-join', {
                    join: faults
                      .map(
                        (fault) =>
                          `${placeOf(inForm(fault.pointer), labels)} ${saidOf(fault, labels.get(nameOf(fault.pointer))?.units)}`,
                      )
                      .join('; '),
                  })
                : t('parts.entry.it-was-not-saved-message', { message: kept.error.message })}
            </p>
          )}
          <div className="flex flex-wrap gap-3">
            <button
              disabled={kept.isPending}
              className="min-h-14 rounded-lg bg-ink px-8 text-xl font-semibold text-paper disabled:opacity-50"
            >
              {words}
            </button>
            {beside}
          </div>
        </form>
      </Labels>
    </FormProvider>
  );
}
