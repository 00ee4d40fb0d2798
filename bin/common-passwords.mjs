// Makes resources/passwords/common.txt: passwords that many people have, from the list of @zxcvbn-ts/language-common
// (MIT). Of six characters and more: with up to four more at its end a shorter one would still be too short.
import { mkdirSync, writeFileSync } from 'node:fs';
import { dictionary } from '@zxcvbn-ts/language-common';

const words = dictionary['passwords-common']
  .map((word) => word.toLowerCase())
  .filter((word) => word.length >= 6);
mkdirSync('resources/passwords', { recursive: true });
writeFileSync('resources/passwords/common.txt', [...new Set(words)].sort().join('\n') + '\n');
