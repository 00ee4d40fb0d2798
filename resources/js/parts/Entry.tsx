import { useMutation } from '@tanstack/react-query';
import { useState, type BaseSyntheticEvent, type ReactNode } from 'react';
import { FormProvider, useForm, type DefaultValues, type FieldValues } from 'react-hook-form';
import { Refusal } from '../api';
import { Labels, placeOf, saidOf, type FieldWords } from './faults';
import { ChangedMeanwhile } from './ChangedMeanwhile';
import { useUnsaved } from './Unsaved';
import { t } from '../words/messages';

const CHANGED_MEANWHILE = 412;

/**
 * A form that is one document: what is refused is said beside its field, nothing typed is lost.
 */
export function Entry<T extends FieldValues, A>({
  values,
  save,
  onSaved,
  tag,
  onMeanwhile,
  root = '',
  live = false,
  words = t('parts.entry.save'),
  children,
  beside,
}: {
  values: DefaultValues<T>;
  /** `tag`: of what was on the form when somebody began to type. */
  save: (values: T, tag?: string) => Promise<A>;
  onSaved: (answer: A) => void;
  /** What it is that is changed (If-Match), where another hand may change it too. */
  tag?: string | undefined;
  /** Somebody changed it meanwhile: what it is now must be looked up. */
  onMeanwhile?: () => unknown;
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
  const { isDirty } = form.formState;
  const saved = useUnsaved(isDirty);
  // What is typed is typed over what stood on the form then.
  const [over, setOver] = useState({ tag, values });
  if (live && !isDirty && over.tag !== tag) {
    setOver({ tag, values });
  }
  const [meanwhile, setMeanwhile] = useState(false);
  const inForm = (pointer: string) => (pointer.startsWith(root) ? pointer.slice(root.length) : pointer);
  const nameOf = (pointer: string) => inForm(pointer).split('/').filter(Boolean).join('.');
  const kept = useMutation({
    mutationFn: ({ entered, over }: { entered: T; over: string | undefined }) => save(entered, over),
    onSuccess: (answer) => {
      setMeanwhile(false);
      saved();
      onSaved(answer);
    },
    onError: (error) => {
      if (tag !== undefined && error instanceof Refusal && error.problem.status === CHANGED_MEANWHILE) {
        setMeanwhile(true);
        void onMeanwhile?.();
      }
      for (const fault of error instanceof Refusal ? (error.problem.errors ?? []) : []) {
        const name = nameOf(fault.pointer);
        form.setError((name === '' ? 'root' : name) as 'root', {
          type: fault.code ?? 'refused',
          message: saidOf(fault, labels.get(name)?.units),
        });
      }
    },
  });
  const keep = (known: string | undefined, event?: BaseSyntheticEvent) => {
    // What was refused before is asked anew: of what is no field by itself nobody else would take the fault away.
    form.clearErrors();
    void form.handleSubmit((entered) => kept.mutate({ entered, over: known }))(event);
  };
  const faults = kept.error instanceof Refusal ? (kept.error.problem.errors ?? []) : [];

  return (
    <FormProvider {...form}>
      <Labels value={labels}>
        <form
          noValidate
          onSubmit={(event) => {
            keep(over.tag, event);
          }}
          className="grid gap-4"
        >
          {children}
          {meanwhile && (
            <ChangedMeanwhile
              from={over.values}
              to={values}
              labels={labels}
              onMine={() => {
                setOver({ tag, values });
                keep(tag);
              }}
              onTheirs={() => {
                form.reset(values);
                setOver({ tag, values });
                setMeanwhile(false);
                kept.reset();
              }}
            />
          )}
          {kept.isError && !meanwhile && (
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
