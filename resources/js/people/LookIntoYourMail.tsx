import { t } from '../words/messages';

/** Said whether anybody has that address or not. */
export const LookIntoYourMail = () => (
  <p role="status" className="rounded-lg border-2 border-herb p-4 text-xl">
    {t('people.lookIntoYourMail.a-link-is-on-its-way')}
  </p>
);
