import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'esbuild';
import { ROOT } from './places.mjs';

/**
 * Puts a TypeScript program for Node and all of the project's own code that it imports by path into one file. Packages are found from where
 * that file lies; the project's own packages are taken as they were built.
 */
export async function bundleForNode(entry, outfile) {
  await build({ ...FOR_NODE, entryPoints: [entry], outfile });
}

/**
 * The same with the project's own packages from the sources of another state of the project, unpacked in `tree`.
 * @param entry - a program of this state of the project; what it imports by path is taken from the other one.
 */
export async function bundleAgainst(tree, entry, outfile) {
  await build({ ...FOR_NODE, entryPoints: [entry], outfile, plugins: [sourcesOf(tree, entry)] });
}

const FOR_NODE = { bundle: true, platform: 'node', format: 'esm', packages: 'external', logLevel: 'error' };

const PACKAGES = {
  '@kadrosyn/core': 'packages/core/src/index.ts',
  '@kadrosyn/render': 'packages/render/src/index.ts',
  '@kadrosyn/render/node': 'packages/render/src/node/index.ts',
  '@kadrosyn/formats': 'packages/formats/src/index.ts',
  '@kadrosyn/export': 'packages/export/src/index.ts',
  '@kadrosyn/contract': 'packages/contract/src/index.ts',
  '@kadrosyn/demo': 'demo/src/index.ts',
};

function sourcesOf(tree, entry) {
  return {
    name: 'sources-of-a-tree',
    setup({ onResolve, onLoad }) {
      onResolve({ filter: /^@kadrosyn\// }, ({ path }) => (PACKAGES[path] ? { path: join(tree, PACKAGES[path]) } : null));
      onResolve({ filter: /^\.\.?\// }, ({ path, importer, resolveDir }) => {
        if (importer !== entry) return null;
        return { path: join(tree, join(resolveDir, path).slice(ROOT.length)).replace(/\.js$/, '.ts') };
      });
      // Files that lie beside the sources are looked for from there, not from the bundle.
      onLoad({ filter: /\.ts$/ }, async ({ path }) => {
        const text = await readFile(path, 'utf8');
        return { contents: text.replaceAll('import.meta.url', JSON.stringify(pathToFileURL(path).href)), loader: 'ts' };
      });
    },
  };
}
