import { createIntl, createIntlCache, type IntlShape } from 'react-intl';
import english from '../../../lang/en/screens.json' with { type: 'json' };

/* What the screens say: ICU messages of lang/LANGUAGE/screens.json. A second language is a second folder. */

/** The name of a message. */
export type Message = keyof typeof english;

const others = import.meta.glob<Record<string, string>>('../../../lang/*/screens.json', { import: 'default' });

const speaking = (locale: string, messages: Record<string, string>): IntlShape =>
  createIntl({ locale, messages: { ...english, ...messages } }, createIntlCache());

let intl = speaking('en', english);

/** Says everything in a language from now on; before anything was said. English where there are no words for it. */
export async function speak(language: string): Promise<void> {
  const words = others[`../../../lang/${language}/screens.json`];
  if (language !== 'en' && words !== undefined) {
    intl = speaking(language, await words());
  }
}

/** A message in the reader's language, with what it speaks of; what is not there is not said. */
export const t = (message: Message, args: Record<string, string | number | false | null | undefined> = {}): string =>
  intl.formatMessage(
    { id: message },
    Object.fromEntries(Object.entries(args).map(([name, value]) => [name, value || value === 0 ? value : ''])),
  );
