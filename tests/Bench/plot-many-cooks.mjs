import { readFileSync, writeFileSync } from 'node:fs';
import { scaleLinear, scaleLog } from 'd3-scale';
import { line } from 'd3-shape';

/*
 * Draws what tests/Bench/many-cooks.php wrote: bands that hold the truth, and how far planned stock is off, against the number of cooks.
 *
 *   node tests/Bench/plot-many-cooks.mjs FILE.csv … docs/many-cooks.svg
 */

const files = process.argv.slice(2, -1);
const out = process.argv.at(-1);
const rows = files.flatMap((file) => {
  const [names, ...lines] = readFileSync(file, 'utf8')
    .trim()
    .split('\n')
    .map((one) => one.split(','));
  return lines.map((cells) =>
    Object.fromEntries(names.map((name, at) => [name, at === 0 ? cells[at] : Number(cells[at])])),
  );
});

const WORDS = {
  plain: 'nothing wrong',
  pans: 'two pans catch differently',
  sack: 'a new sack',
  scale: 'scale 10 % off',
  ladle: 'ladle 10 % off',
  altitude: '1,500 m said as 100 m',
  jet: 'a new jet',
  stock: 'stock at 65 °C said as 90',
};
const COLOURS = ['#221f1a', '#2f6b3a', '#a85a00', '#a3261b', '#5b3f8c', '#1d6a86', '#8a7a2f', '#777'];
const faults = [...new Set(rows.map(({ fault }) => fault))];
const SIZE = { width: 420, height: 220, left: 44, top: 30, bottom: 34 };
const x = scaleLog([12, 1000], [SIZE.left, SIZE.width - 24]);

/** One of the two pictures, its left edge at `from`. */
function part(from, title, column, domain, ticks, band) {
  const y = scaleLinear(domain, [SIZE.height - SIZE.bottom, SIZE.top]);
  const path = line(
    ({ cooks }) => x(cooks),
    (row) => y(row[column]),
  );
  const axis = ticks.map(
    (tick) =>
      `<path d="M${SIZE.left} ${y(tick)}H${SIZE.width - 24}" stroke="#ddd4bd"/><text x="${SIZE.left - 6}" y="${y(tick) + 4}" text-anchor="end">${tick} %</text>`,
  );
  const cooks = [12, 25, 100, 400, 1000].map(
    (tick) =>
      `<text x="${x(tick)}" y="${SIZE.height - SIZE.bottom + 16}" text-anchor="middle">${tick}</text>`,
  );
  const lines = faults.map(
    (fault, at) =>
      `<path d="${path(rows.filter((row) => row.fault === fault))}" fill="none" stroke="${COLOURS[at]}" stroke-width="2"/>`,
  );
  const aim = band
    ? `<rect x="${SIZE.left}" y="${y(band[1])}" width="${SIZE.width - 24 - SIZE.left}" height="${y(band[0]) - y(band[1])}" fill="#eadfbf"/>`
    : '';
  return `<g transform="translate(${from} 0)"><text x="${SIZE.left}" y="16" font-weight="bold">${title}</text>${aim}${axis.join('')}${cooks.join('')}${lines.join('')}<text x="${SIZE.width / 2}" y="${SIZE.height - 2}" text-anchor="middle">cooks in the log</text></g>`;
}

const key = faults.map(
  (fault, at) =>
    `<g transform="translate(${SIZE.left + (at % 4) * 200} ${SIZE.height + 18 + 20 * Math.floor(at / 4)})"><path d="M0 -4H24" stroke="${COLOURS[at]}" stroke-width="3"/><text x="30">${WORDS[fault] ?? fault}</text></g>`,
);
const most = Math.ceil(Math.max(...rows.map(({ stock_off_median_percent: off }) => off)));
const height = SIZE.height + 24 + 20 * Math.ceil(faults.length / 4);
writeFileSync(
  out,
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${2 * SIZE.width} ${height}" font-family="sans-serif" font-size="12" fill="#221f1a"><rect width="100%" height="100%" fill="#f7f2e4"/>${part(0, 'bands that hold the truth', 'bands_percent', [70, 100], [70, 80, 90, 100], [85, 95])}${part(
    SIZE.width,
    'planned stock off, median',
    'stock_off_median_percent',
    [0, most],
    Array.from({ length: most + 1 }, (_, at) => at),
  )}${key.join('')}</svg>\n`,
);
