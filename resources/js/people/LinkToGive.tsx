import { Check, Copy } from 'lucide-react';
import { QRCodeSVG } from 'qrcode.react';
import { useState } from 'react';
import type { DoorLink } from '../contracts.generated';
import { useCook } from '../cook';
import { clock, day } from '../time';

/** A link as text and as a picture for a phone's camera. Shown this once: what is kept is only good to check it. */
export function LinkToGive({ link, to }: { link: DoorLink; to?: string | undefined }) {
  const { timezone } = useCook();
  const [copied, setCopied] = useState(false);
  return (
    <div role="status" className="grid gap-3 rounded-lg border-2 border-herb p-4 text-lg">
      <p>
        {link.mailed && to ? <b>Mailed to {to}. </b> : null}
        Good once, until {day(link.expires_at, timezone)} {clock(link.expires_at, timezone)}. Shown only now.
      </p>
      <div className="flex flex-wrap items-start gap-4">
        <QRCodeSVG value={link.url} size={160} marginSize={2} title="The link, for a phone’s camera" />
        <div className="grid min-w-0 flex-1 basis-44 gap-2">
          <label className="grid gap-1">
            The link
            <input
              readOnly
              value={link.url}
              onFocus={(event) => event.target.select()}
              className="h-14 w-full min-w-0 rounded-lg border-2 border-ink bg-white px-3 font-mono text-base"
            />
          </label>
          <button
            type="button"
            onClick={() => void navigator.clipboard.writeText(link.url).then(() => setCopied(true))}
            className="flex min-h-14 items-center justify-center gap-2 rounded-lg border-2 border-ink px-4 font-semibold"
          >
            {copied ? <Check aria-hidden="true" /> : <Copy aria-hidden="true" />}{' '}
            {copied ? 'Copied' : 'Copy it'}
          </button>
        </div>
      </div>
    </div>
  );
}
