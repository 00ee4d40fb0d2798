// Values from outside libraries, as JSON on standard output, for the Pest tests beside this file.
//   psychrolib    ASHRAE Handbook, Fundamentals: saturation pressure, standard atmosphere
//   js-quantities unit conversion
import { createRequire } from 'node:module';

const require = createRequire(import.meta.url);
const psychrolib = require('psychrolib');
const Qty = require('js-quantities');

psychrolib.SetUnitSystem(psychrolib.SI);

/** The temperature at which water's saturation pressure equals this pressure, by bisection on psychrolib. */
function boilingPoint(pascal) {
  let low = 50;
  let high = 110;
  while (high - low > 1e-9) {
    const middle = (low + high) / 2;
    if (psychrolib.GetSatVapPres(middle) < pascal) low = middle;
    else high = middle;
  }
  return low;
}

const altitudes = Array.from({ length: 31 }, (_, step) => step * 100);
const pressures = altitudes.map((metres) => psychrolib.GetStandardAtmPressure(metres));

process.stdout.write(
  JSON.stringify({
    atmosphere: altitudes.map((metres, row) => ({
      metres,
      pascal: pressures[row],
      boiling: boilingPoint(pressures[row]),
    })),
    vapour: [20, 40, 60, 80, 90, 95, 99].map((celsius) => ({
      celsius,
      pascal: psychrolib.GetSatVapPres(celsius),
    })),
    units: [
      ['cup', 'cu', 'ml'],
      ['tbsp', 'tbs', 'ml'],
      ['tsp', 'tsp', 'ml'],
      ['fl oz', 'floz', 'ml'],
      ['pint', 'pint', 'ml'],
      ['quart', 'quart', 'ml'],
      ['gallon', 'gal', 'ml'],
      ['l', 'l', 'ml'],
      ['oz', 'oz', 'g'],
      ['lb', 'lb', 'g'],
      ['kg', 'kg', 'g'],
      ['°F', 'tempF', 'tempC'],
      ['h', 'h', 's'],
      ['kW', 'kW', 'W'],
      ['BTU/h', 'btu/h', 'W'],
    ].map(([ours, theirs, base]) => ({
      ours,
      base: [3, 17.5, 40].map((n) => [n, Qty(n, theirs).to(base).scalar]),
    })),
  }),
);
