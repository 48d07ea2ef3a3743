/* Runs before the scripts, in any Node.js: says in a sentence that it is too old, where the rest could not even be read. */
'use strict';
// eslint-disable-next-line @typescript-eslint/no-require-imports -- older ones know nothing else
var wanted = require('../package.json').engines.node.replace('>=', '').split('.').map(Number);
var found = process.versions.node.split('.').map(Number);
var enough = found[0] > wanted[0] || (found[0] === wanted[0] && found[1] >= wanted[1]);
if (!enough) {
  console.error(
    'This needs Node.js ' +
      wanted.join('.') +
      ' or newer; here is ' +
      process.versions.node +
      '. Install a newer one and start again.',
  );
  process.exit(1);
}
