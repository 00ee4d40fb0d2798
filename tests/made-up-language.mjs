#!/usr/bin/env node
/* A language that nobody speaks, made of the English messages: every letter accented, every text a third longer. Whatever is still
   plain English on a screen was not said by a message, and whatever does not fit would not fit in a longer language either. */
import { parse } from '@formatjs/icu-messageformat-parser';
import { printAST } from '@formatjs/icu-messageformat-parser/printer.js';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';

const LANGUAGE = 'en-XA';
const LETTERS = Object.fromEntries(
  [...'abcdefghijklmnopqrstuvwxyz'].map((letter, index) => [
    letter,
    [...'åƀçđéƒĝĥîĵķļɱñöþǫŕšţûṽŵẋýž'][index],
  ]),
);
const CAPITALS = Object.fromEntries(
  [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'].map((letter, index) => [
    letter,
    [...'ÅƁÇĐÉƑĜĤÎĴĶĻṀÑÖÞǪŔŠŢÛṼŴẊÝŽ'][index],
  ]),
);
const accented = (text) => text.replace(/[a-zA-Z]/g, (letter) => LETTERS[letter] ?? CAPITALS[letter]);
/** A third more letters, at the end of what is said. */
const longer = (text) => {
  const letters = text.replace(/[^a-zA-Z]/g, '').length;
  const dots = letters < 3 ? 0 : Math.ceil(letters / 3);
  const more = '····· '.repeat(Math.floor(dots / 6)) + '·'.repeat(dots % 6);
  return text.replace(/\s*$/, (end) => (dots > 5 ? ' ' : '') + more.trim() + end);
};

const said = (elements) =>
  elements.map((element) => {
    if (element.type === 0) {
      return { ...element, value: accented(longer(element.value)) };
    }
    if (element.type === 5 || element.type === 6) {
      const options = Object.entries(element.options).map(([name, option]) => [
        name,
        { ...option, value: said(option.value) },
      ]);
      return { ...element, options: Object.fromEntries(options) };
    }
    return element;
  });

mkdirSync(`lang/${LANGUAGE}`, { recursive: true });
for (const file of ['engine.json', 'screens.json']) {
  const english = JSON.parse(readFileSync(`lang/en/${file}`, 'utf8'));
  const made = Object.entries(english).map(([key, message]) => [
    key,
    key === 'text' ? message : printAST(said(parse(message, { ignoreTag: true }))),
  ]);
  writeFileSync(`lang/${LANGUAGE}/${file}`, `${JSON.stringify(Object.fromEntries(made), null, 2)}\n`);
}
