const { transformSync } = require('esbuild');

/** Jest runs the packages that have no interface as they are, types stripped. */
module.exports = {
  process(source, file) {
    const { code } = transformSync(source, {
      loader: file.endsWith('x') ? 'tsx' : file.endsWith('.ts') ? 'ts' : 'js',
      format: 'cjs',
      target: 'node20',
      sourcemap: 'inline',
      sourcefile: file,
      // What is an address in a module is a file name to Jest.
      define: { 'import.meta.url': '__moduleUrl' },
      banner: "const __moduleUrl = require('node:url').pathToFileURL(__filename).href;",
    });
    return { code };
  },
};
