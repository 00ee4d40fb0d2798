// Makes resources/js/contracts.generated.ts and words.generated.ts from the schemas in this folder.
import { readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { compile } from 'json-schema-to-typescript';

const here = dirname(fileURLToPath(import.meta.url));
const WORDS = 'words.json';
const names = readdirSync(here)
  .filter((name) => name.endsWith('.json') && name !== WORDS)
  .sort();

const everything = {
  title: 'Contracts',
  type: 'object',
  additionalProperties: false,
  required: names,
  properties: Object.fromEntries(names.map((name) => [name, { $ref: name }])),
};
const source = await compile(everything, 'Contracts', {
  cwd: here + '/',
  bannerComment: '/* Made from contracts/ by contracts/types.mjs. Do not edit. */',
  ignoreMinAndMaxItems: true,
  strictIndexSignatures: true,
});
const words = Object.entries(JSON.parse(readFileSync(join(here, WORDS), 'utf8')).$defs).map(
  ([name, { description, enum: all }]) =>
    `/** ${description} */\nexport const ${name.toUpperCase()} = ${JSON.stringify(all)} as const;`,
);
const made = {
  'contracts.generated.ts': source,
  'words.generated.ts': `/* Made from contracts/${WORDS} by contracts/types.mjs. Do not edit. */\n\n${words.join('\n\n')}\n`,
};

for (const [file, source] of Object.entries(made)) {
  writeFileSync(join(here, '../resources/js', file), source);
}
