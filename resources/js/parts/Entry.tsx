import { useMutation } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { FormProvider, useForm, type DefaultValues, type FieldValues } from 'react-hook-form';
import { Refusal } from '../api';

/**
 * A form that is one document: what is refused is said beside its field, nothing typed is lost.
 */
export function Entry<T extends FieldValues, A>({
  values,
  save,
  onSaved,
  root = '',
  words = 'Keep it',
  children,
  beside,
}: {
  values: DefaultValues<T>;
  save: (values: T) => Promise<A>;
  onSaved: (answer: A) => void;
  /** Where in the document the form's fields stand, as a JSON Pointer. */
  root?: string;
  words?: string;
  children: ReactNode;
  /** Further keys beside the one that keeps it. */
  beside?: ReactNode;
}) {
  const form = useForm<T>({ defaultValues: values });
  const kept = useMutation({
    mutationFn: save,
    onSuccess: onSaved,
    onError: (error) => {
      for (const { pointer, detail } of error instanceof Refusal ? (error.problem.errors ?? []) : []) {
        const field = pointer.startsWith(root) ? pointer.slice(root.length) : pointer;
        const name = field.split('/').filter(Boolean).join('.');
        form.setError((name === '' ? 'root' : name) as 'root', { message: detail });
      }
    },
  });
  const faults = kept.error instanceof Refusal ? (kept.error.problem.errors ?? []) : [];

  return (
    <FormProvider {...form}>
      <form
        noValidate
        onSubmit={(event) => void form.handleSubmit((entered) => kept.mutate(entered))(event)}
        className="grid gap-4"
      >
        {children}
        {kept.isError && (
          <p role="alert" className="text-lg text-tomato">
            {faults.length > 0
              ? `Not kept. ${faults.map((fault) => `${fieldWords(fault.pointer)} ${fault.detail}`).join('; ')}`
              : `It was not kept: ${kept.error.message}`}
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
    </FormProvider>
  );
}

/** "/dish/ingredients/2/amount" as a cook reads it: "ingredients 3 amount". */
function fieldWords(pointer: string): string {
  return pointer === ''
    ? 'It'
    : pointer
        .split('/')
        .filter((part) => part !== '' && part !== 'dish')
        .map((part) => (/^\d+$/.test(part) ? String(Number(part) + 1) : part.replaceAll('_', ' ')))
        .join(' ');
}
