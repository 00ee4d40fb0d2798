import { useEffect } from 'react';

/** Keeps the screen lit while a pan is on, where the browser can. */
export function useStayAwake(on: boolean): void {
  useEffect(() => {
    if (!on || !('wakeLock' in navigator)) {
      return;
    }
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    const ask = () => {
      if (document.visibilityState === 'visible') {
        navigator.wakeLock.request('screen').then(
          (granted) => (gone ? void granted.release() : (lock = granted)),
          () => undefined, // a tablet that refuses stays as it is
        );
      }
    };
    ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, [on]);
}
