// What outside parsers make of our open formats, as JSON: {kind: 'ics', text} through ical.js; {kind: 'schema', name, document}
// through ajv, with every schema of contracts/. Reads one request from standard input.
import { readFileSync, readdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import Ajv2020 from 'ajv/dist/2020.js';
import ICAL from 'ical.js';

const contracts = join(dirname(fileURLToPath(import.meta.url)), '../../contracts');

function events(text) {
  const calendar = new ICAL.Component(ICAL.parse(text));
  return calendar.getAllSubcomponents('vevent').map((one) => {
    const event = new ICAL.Event(one);
    return {
      uid: event.uid,
      what: event.summary,
      from: event.startDate.toJSDate().toISOString(),
      to: event.endDate.toJSDate().toISOString(),
    };
  });
}

function faults(name, document) {
  const ajv = new Ajv2020({ strict: false, allErrors: true });
  for (const file of readdirSync(contracts).filter((one) => one.endsWith('.json'))) {
    ajv.addSchema(JSON.parse(readFileSync(join(contracts, file), 'utf8')));
  }
  const validate = ajv.getSchema(`https://velko.example/contracts/${name}.json`);
  return validate(document) ? [] : validate.errors;
}

const asked = JSON.parse(readFileSync(0, 'utf8'));
process.stdout.write(
  JSON.stringify(asked.kind === 'ics' ? events(asked.text) : faults(asked.name, asked.document)),
);
