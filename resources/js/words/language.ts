import { sayBy } from './messages';

const folders = import.meta.glob<Record<string, string>>('../../../lang/*/screens.json', {
  import: 'default',
});

/** Gets the words of a language, where there is a folder of it. */
export async function speak(language: string): Promise<void> {
  const words = folders[`../../../lang/${language}/screens.json`];
  if (language !== 'en' && words !== undefined) {
    sayBy(language, await words());
  }
}
