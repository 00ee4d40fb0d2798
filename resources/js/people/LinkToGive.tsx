import { Check, Copy } from 'lucide-react';
import { QRCodeSVG } from 'qrcode.react';
import { useState } from 'react';
import type { DoorLink } from '../contracts.generated';
import { useCook } from '../cook';
import { clock, day } from '../time';
import { t } from '../words/messages';

/** A link as text and as a picture for a phone's camera. Shown this once: what is kept is only good to check it. */
export function LinkToGive({ link, to }: { link: DoorLink; to?: string | undefined }) {
  const { timezone } = useCook();
  const [copied, setCopied] = useState(false);
  return (
    <div role="status" className="grid gap-3 rounded-lg border-2 border-herb p-4 text-lg">
      <p>
        {link.mailed && to ? <b>{t('people.linkToGive.mailed-to-to', { to })} </b> : null}
        {t('people.linkToGive.good-once-until-expiresat-expiresat2-shown', {
          expiresAt: day(link.expires_at, timezone),
          expiresAt2: clock(link.expires_at, timezone),
        })}
      </p>
      <div className="flex flex-wrap items-start gap-4">
        <QRCodeSVG
          value={link.url}
          size={160}
          marginSize={2}
          title={t('people.linkToGive.the-link-for-a-phones-camera')}
        />
        <div className="grid min-w-0 flex-1 basis-44 gap-2">
          <label className="grid gap-1">
            {t('common.the-link')}
            <input
              readOnly
              value={link.url}
              onFocus={(event) => event.target.select()}
              className="h-14 w-full min-w-0 rounded-lg border-2 border-ink bg-field px-3 font-mono text-base"
            />
          </label>
          <button
            type="button"
            onClick={() => void navigator.clipboard.writeText(link.url).then(() => setCopied(true))}
            className="flex min-h-14 items-center justify-center gap-2 rounded-lg border-2 border-ink px-4 font-semibold"
          >
            {copied ? <Check aria-hidden="true" /> : <Copy aria-hidden="true" />}{' '}
            {copied ? t('people.linkToGive.copied') : t('common.copy-it')}
          </button>
        </div>
      </div>
    </div>
  );
}
