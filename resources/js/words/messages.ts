import { createIntl, createIntlCache, type IntlShape } from 'react-intl';
import english from '../../../lang/en/screens.json' with { type: 'json' };

/* What the screens say: ICU messages of lang/LANGUAGE/screens.json. A second language is a second folder. */

/** The name of a message. */
export type Message = keyof typeof english;

const speaking = (locale: string, messages: Record<string, string>): IntlShape =>
  createIntl({ locale, messages: { ...english, ...messages } }, createIntlCache());

let intl = speaking('en', english);

/** Says everything by these messages from now on, before anything was said; English where there are none. */
export const sayBy = (locale: string, messages: Record<string, string>): void => {
  intl = speaking(locale, messages);
};

/** A message in the reader's language, with what it speaks of; what is not there is not said. */
export const t = (
  message: Message,
  args: Record<string, string | number | false | null | undefined> = {},
): string =>
  intl.formatMessage(
    { id: message },
    Object.fromEntries(
      Object.entries(args).map(([name, value]) => [name, value || value === 0 ? value : '']),
    ),
  );

/** "a", "a and b", "a, b and c". */
export const list = (items: readonly string[]): string => intl.formatList(items);

/** Whose dates and numbers are shown: English ones as in most kitchens of the world. */
export const locale = (): string => (intl.locale === 'en' ? 'en-GB' : intl.locale);

/** The vocabularies whose words are shown. */
export type Vocabulary = Message extends infer Key
  ? Key extends `word.${infer Name}.${string}`
    ? Name
    : never
  : never;

/** A word of a document's vocabulary, as it is read; one that is not known is shown as it is. */
export function wordOf(vocabulary: Vocabulary, code: string): string {
  const message = `word.${vocabulary}.${code.replaceAll(' ', '-')}`;
  return message in english ? t(message as Message) : code;
}
