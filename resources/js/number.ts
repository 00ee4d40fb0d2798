const VULGAR: Record<string, string> = {
  '¼': ' 1/4',
  '½': ' 1/2',
  '¾': ' 3/4',
  '⅓': ' 1/3',
  '⅔': ' 2/3',
  '⅛': ' 1/8',
  '⅜': ' 3/8',
  '⅝': ' 5/8',
  '⅞': ' 7/8',
};

/** Where this reader comes from, as the contracts take it: "en-GB", without what else a browser adds. */
export const readerLocale = (): string => new Intl.Locale(navigator.language).baseName;

/** What stands before the decimals where this reader comes from; the other one groups thousands. */
export function decimalMark(locale: string = readerLocale()): '.' | ',' {
  const parts = new Intl.NumberFormat(locale).formatToParts(1.5);
  return parts.find(({ type }) => type === 'decimal')?.value === ',' ? ',' : '.';
}

/**
 * A number as it is typed: "5,280", "1.250,5", "11 1/2", "1½". A mark that groups thousands is one only before three digits: "1,5" is one and a
 * half for everybody. The same rules as the server's (core/Quantity/WrittenNumber).
 *
 * @returns null if it is no number
 */
export function readNumber(text: string, mark = decimalMark()): number | null {
  const plain = text
    .replace(/[¼½¾⅓⅔⅛⅜⅝⅞]/gu, (one) => VULGAR[one] ?? one)
    .replace(/(?<=\d)[\u{a0}\u{202f}\u{2009}'’](?=\d{3})/gu, '')
    .trim();
  const part =
    /^(?<sign>[-−])?\s*(?:(?<number>\d[\d.,]*)(?!\s*\/))?(?:(?:\s+|-|\s+and\s+)?(?<over>\d{1,3})\s*\/\s*(?<under>[1-9]\d{0,2}))?$/u.exec(
      plain,
    )?.groups;
  if (!part || (part['number'] === undefined && part['over'] === undefined)) {
    return null;
  }
  const whole = part['number'] === undefined ? 0 : decimal(part['number'], mark);
  if (whole === null) {
    return null;
  }
  const number = whole + (part['over'] === undefined ? 0 : Number(part['over']) / Number(part['under']));
  return part['sign'] === undefined ? number : -number;
}

function decimal(digits: string, mark: '.' | ','): number | null {
  const [group, point] = mark === '.' ? [',', '\\.'] : ['\\.', ','];
  const ways: [RegExp, 'group' | 'point' | 'none'][] = [
    [/^\d+$/u, 'none'],
    [new RegExp(`^\\d{1,3}(${group}\\d{3})+(${point}\\d+)?$`, 'u'), 'group'],
    [new RegExp(`^\\d{1,3}(${point}\\d{3})+${group}\\d+$|^\\d{1,3}(${point}\\d{3}){2,}$`, 'u'), 'point'],
    [new RegExp(`^\\d+${point}\\d+$`, 'u'), 'group'],
    [new RegExp(`^\\d+${group}\\d+$`, 'u'), 'point'],
  ];
  const groups = ways.find(([way]) => way.test(digits))?.[1];
  if (groups === undefined) {
    return null;
  }
  // What groups goes; the other one is the point.
  const goes = (groups === 'group') === (mark === '.') ? ',' : '.';
  return Number(digits.replaceAll(goes, '').replace(',', '.'));
}

/** Whether what was typed may be understood otherwise than it was meant: then it is said how. */
export const mayBeMisread = (text: string): boolean =>
  /[.,'’]\d{3}(?!\d)|[\d¼½¾⅓⅔⅛⅜⅝⅞]\s*\/|[¼½¾⅓⅔⅛⅜⅝⅞]/u.test(text);
