/** What screens draw with. A screen wants most of it, so that it is one file. */
const INTERFACE =
  /node_modules.(@mui.(material|system|utils|styled-engine|private-theming)|@emotion|@babel|@popperjs|clsx|dom-helpers|hoist-non-react-statics|prop-types|react-is|react-transition-group|stylis)/;

/**
 * A phone is slower at asking for a hundred small scripts than at reading forty larger ones. What screens share of the
 * core lies in files by which of them want it, small ones joined to their nearest; sizes in bytes before minifying.
 * The application's own modules stay with their screens: joined, they would bring along what a screen loads late.
 */
const FEW_FILES = {
  minShareCount: 2,
  includeDependenciesRecursively: false,
  groups: [
    { name: 'interface', test: INTERFACE },
    { name: 'core', test: /\/core\//, entriesAware: true, entriesAwareMergeThreshold: 30_000 },
  ],
};

/**
 * Astro fills in the styles that parts of a content page bring along by writing into a finished chunk, which Rolldown does
 * not allow. Parts of the guide bring none: they are drawn by the guide's own style sheet, so that the lists are empty.
 */
const NO_PROPAGATED_STYLES = {
  name: 'nivel-no-propagated-styles',
  renderChunk: (code) => code.replaceAll(/(["'`])@@ASTRO-(?:LINKS|STYLES)@@\1/g, '[]'),
};

/**
 * An Astro integration: how Rolldown bundles. Astro 5 states Rollup's options, which Vite 8 takes only where Rolldown's
 * are not stated beside them; its own defaults are, so that Astro's have to be put in their place.
 * @returns {import('astro').AstroIntegration}
 */
export function bundling() {
  return {
    name: 'nivel-bundling',
    hooks: {
      'astro:build:setup': ({ vite, target }) => {
        const { rollupOptions, rolldownOptions: _defaults, ...build } = vite.build;
        const ofClient = target === 'client' && {
          // Modules that are taken out of where they would lie have to run in their order all the same.
          preserveEntrySignatures: 'allow-extension',
          output: {
            ...rollupOptions.output,
            manualChunks: undefined,
            codeSplitting: FEW_FILES,
            strictExecutionOrder: true,
            // A group's files are named after all the screens that want them.
            chunkFileNames: ({ name }) => `_astro/${name.split('~')[0]}.[hash].js`,
          },
        };
        if (target === 'server') vite.plugins = [...(vite.plugins ?? []), NO_PROPAGATED_STYLES];
        vite.build = { ...build, rollupOptions: { ...rollupOptions, ...ofClient } };
      },
    },
  };
}
