/** So manyth of the functions are changed: `npm run mutation -- ROOM 1/4` changes those of each fourth, chosen by where they stand. */
const EVERY = Number(process.env.ZELF_EVERY ?? 1);
const KINDS = ['FunctionDeclaration', 'VariableDeclaration', 'ClassMethod'];
const AROUND = ['Program', 'ClassBody', 'ExportNamedDeclaration'];

/** Spreads neighbouring places over the whole range (Knuth's multiplicative hashing). */
const spread = (place) => Math.imul(place + 1, 2_654_435_761) >>> 16;

const isWhole = ({ node, parent }) => KINDS.includes(node.type) && AROUND.includes(parent?.type ?? '');

/** A plug-in for Stryker: what it gives a reason for is left as it is. */
export const strykerPlugins = [
  {
    kind: 'Ignore',
    name: 'sample',
    value: {
      shouldIgnore: (path) =>
        isWhole(path) && spread(path.node.start) % EVERY !== 0 ? `one of ${EVERY} is changed` : undefined,
    },
  },
];
