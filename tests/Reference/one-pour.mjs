// The equations of docs/model.md, written down once more and integrated by odex (Hairer & Wanner's extrapolation
// method), on stretches where they are smooth: a pan that warms and never boils, a pan that boils throughout,
// open or under a lid, a pan that cools off the heat, and the floor of a dry pan that browns. Reads {cases: [...]} from standard input, writes the states as JSON.
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';

const odex = createRequire(import.meta.url)('odex');
const R = 8.314462618;
const LATENT = 2257;

const saturation = (T) => (101325 / 760) * 10 ** (8.07131 - 1730.63 / (233.426 + T));

function pace(T) {
  const K = T + 273.15;
  const hot = (to) => Math.exp((-44000 / R) * (1 / to - 1 / 373.15));
  return T >= 85 ? hot(K) : hot(358.15) * Math.exp((-100000 / R) * (1 / K - 1 / 358.15));
}

const equilibrium = (T, most) => 0.35 + (most - 0.35) * Math.max(0, Math.min(1, (T - 60) / 20));

/** y = [temperature of the metal, m of dry rice on it, minutes at 150 °C]: the drying front, leg after leg. */
function brown({ legs, metal, drunk, boiling, room }) {
  const water = (790 * drunk) / (1 + drunk);
  let y = [boiling, 0, 0];
  for (const { seconds, heat, loses } of legs) {
    const change =
      (browns) =>
      (_, [T, s]) => {
        const resistance = 0.0045 + s / 0.2;
        const through = (T - boiling) / resistance;
        return [
          (heat - through - loses * (T - room)) / (metal + 0.5 * 5.2e5 * s),
          Math.max(0, through) / (water * 2.257e6),
          browns ? Math.exp((-75000 / R) * (1 / (T + 273.15) - 1 / 423.15)) / 60 : 0,
        ];
      };
    // Browning begins and ends at 110 °C, which is no smooth stretch: a second at a time, and the one in which it is crossed by halving.
    for (let done = 0; done < seconds - 1e-9;) {
      let step = Math.min(1, seconds - done);
      const browns = y[0] > 110 || (y[0] >= 110 - 1e-6 && heat > 0);
      const to = (x) => solver(3).solve(change(browns), 0, y, x).y;
      let next = to(step);
      if (next[0] > 110 !== browns && Math.abs(next[0] - 110) > 1e-6) {
        let [low, high] = [0, step];
        while (high - low > 1e-9) {
          const middle = (low + high) / 2;
          if (to(middle)[0] > 110 === browns) low = middle;
          else high = middle;
        }
        step = high;
        next = to(step);
      }
      y = next;
      done += step;
    }
  }
  return { temperature: y[0], millimetres: 1000 * y[1], browning: y[2] };
}

function solver(unknowns) {
  const made = new odex.Solver(unknowns);
  made.absoluteTolerance = 1e-10;
  made.relativeTolerance = 1e-10;
  made.maxSteps = 100000;
  return made;
}

/**
 * y = [free, drunk, temperature, doneness, boiled off, given by the food]; x in seconds since the pour.
 *
 * `food`: what it holds of heat, J/K, when it goes in at the pan's own temperature, g that it gives, and tau in s.
 */
function run({
  rice,
  rate,
  most,
  sealed,
  area,
  rimArea,
  metal,
  room,
  net,
  boiling,
  boilsAt,
  open,
  losing,
  food = { capacity: 0, gives: 0, tau: 1 },
  state,
  seconds,
}) {
  const air = 0.5 * saturation(room);
  const surface = (1.8 / (saturation(90) - 0.5 * saturation(20))) * area * open;
  const change = (x, [free, drunk, T, , , given]) => {
    const wet = free / (free + 0.05 * rice);
    const lag = sealed ? 1 - Math.exp(-x / 120) : 1;
    const drinks = (rate / 60) * pace(T) * (equilibrium(T, most) - drunk) * lag * wet;
    // Without liquid a grain softens on in its own moisture, slower.
    const dry = drunk > 0.35 ? (open < 1 ? 0.4 : 0.25) : 0;
    const cooks = T > 60 ? (pace(T) * Math.max(dry, Math.min(1, 1.05 * wet))) / 60 : 0;
    // What comes out of it takes its heat along.
    const gives = T > 60 ? (food.gives - given) / food.tau : 0;
    const capacity = metal + food.capacity - 4.18 * given + 1.6 * rice + 4.18 * (free + rice * drunk);
    // At the boil a lid gives back what it loses to the room, and no more.
    const lid = open < 1 ? Math.min(net, 12 * rimArea * (boilsAt - room)) : 0;
    const vapour = boiling ? (net - lid) / LATENT : surface * wet * (saturation(T) - air);
    const warms = boiling ? 0 : (net - losing * (T - room) - vapour * LATENT) / capacity;
    return [-rice * drinks - vapour + gives, drinks, warms, cooks, vapour, gives];
  };
  const { y } = solver(6).solve(change, 0, [...state, 0], seconds);
  return { free: y[0], drunk: y[1], temperature: y[2], doneness: y[3], boiledOff: y[4] };
}

const { cases } = JSON.parse(readFileSync(0, 'utf8'));
process.stdout.write(JSON.stringify(cases.map((one) => ('rice' in one ? run(one) : brown(one)))));
