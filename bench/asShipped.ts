import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'vite';

/**
 * Loads a module bundled as it is shipped. The runner of these benchmarks rewrites every function so that it keeps its name, which
 * costs small closures about as much time again as their work: neither a browser nor the server runs that.
 */
export async function importAsShipped<Module>(file: string): Promise<Module> {
  const folder = path.resolve('node_modules', '.owl-bench');
  const name = path.basename(file, '.ts');
  await build({
    configFile: false,
    logLevel: 'error',
    build: {
      ssr: file,
      outDir: folder,
      emptyOutDir: false,
      minify: false,
      rollupOptions: { output: { format: 'es', entryFileNames: `${name}.mjs` } },
    },
  });
  return (await import(pathToFileURL(path.join(folder, `${name}.mjs`)).href)) as Module;
}
