import { createContext, useCallback, useContext, useEffect, useId, useMemo, useRef, useState } from 'react';
import { useBlocker } from 'react-router';
import { t } from '../words/messages';
import { Question } from './Over';

/* What was typed and not saved is not lost without a word: not by a place touched, a sheet closed, a page loaded anew. */

interface Guard {
  /** A form says whether it has anything that is not saved. */
  hold: (form: string, dirty: boolean) => void;
  /** Does it at once, or asks first where something would be lost. */
  leave: (act: () => void) => void;
  /** A field that is no form says whether anything is typed in it: worth keeping, not worth a question. */
  note: (field: string, typed: boolean) => void;
  /** Whether anything typed stands on the page. */
  typed: () => boolean;
}

const Context = createContext<Guard | null>(null);

export function Unsaved({ children }: { children: React.ReactNode }) {
  const forms = useRef(new Set<string>());
  const fields = useRef(new Set<string>());
  const [asked, setAsked] = useState<{ act: () => void } | null>(null);
  const blocker = useBlocker(
    ({ currentLocation, nextLocation }) =>
      forms.current.size > 0 && currentLocation.pathname !== nextLocation.pathname,
  );
  const guard = useMemo<Guard>(
    () => ({
      hold: (form, dirty) => {
        if (dirty) {
          forms.current.add(form);
        } else {
          forms.current.delete(form);
        }
      },
      leave: (act) => (forms.current.size > 0 ? setAsked({ act }) : act()),
      note: (field, typed) => {
        if (typed) {
          fields.current.add(field);
        } else {
          fields.current.delete(field);
        }
      },
      typed: () => forms.current.size + fields.current.size > 0,
    }),
    [],
  );
  useEffect(() => {
    const warn = (event: BeforeUnloadEvent) => {
      if (forms.current.size > 0) {
        event.preventDefault();
      }
    };
    window.addEventListener('beforeunload', warn);
    return () => window.removeEventListener('beforeunload', warn);
  }, []);

  const stay = () => {
    setAsked(null);
    blocker.reset?.();
  };
  const go = () => {
    forms.current.clear();
    asked?.act();
    setAsked(null);
    blocker.proceed?.();
  };
  return (
    <Context value={guard}>
      {children}
      <Question
        open={asked !== null || blocker.state === 'blocked'}
        ground="paper"
        title={t('parts.unsaved.not-saved-yet')}
        text={t('parts.unsaved.what-was-typed-here-is-lost')}
        stay={t('parts.unsaved.stay')}
        go={t('common.leave-it')}
        onStay={stay}
        onGo={go}
      />
    </Context>
  );
}

function useGuard(): Guard {
  const guard = useContext(Context);
  if (guard === null) {
    throw new Error('forms stand within <Unsaved>');
  }
  return guard;
}

/** Before something is done that would lose what was typed. */
export const useLeave = (): Guard['leave'] => useGuard().leave;

/** Whether anything typed stands on the page now. */
export const useIsTyped = (): Guard['typed'] => useGuard().typed;

/** A field that is no form has something in it: whoever is signed out does not lose it. */
export function useTyped(typed: boolean): void {
  const { note } = useGuard();
  const field = useId();
  useEffect(() => {
    note(field, typed);
    return () => note(field, false);
  }, [note, field, typed]);
}

/** A form has something that is not saved; answers what says that it is saved now. */
export function useUnsaved(dirty: boolean): () => void {
  const { hold } = useGuard();
  const form = useId();
  useEffect(() => {
    hold(form, dirty);
    return () => hold(form, false);
  }, [hold, form, dirty]);
  return useCallback(() => hold(form, false), [hold, form]);
}
