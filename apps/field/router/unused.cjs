// Parts of the router's package that this app does not use, and what stands in their place: the app has pages and no tabs, stacks,
// previews or maps of its pages. They and the animations they bring would be a quarter of the script of every page. The package is
// pinned to one version; a part that begins to be used shows at once in the end-to-end tests, and the sizes in `npm run bench:screen`.
const { join } = require('node:path');

const NOTHING = { type: 'empty' };
const own = (name) => ({ type: 'sourceFile', filePath: join(__dirname, name) });

const IN_ROUTER = '/expo-router/build/';

/** By the file of the package's build that asks: the parts it does not get, and what it gets instead. */
const INSTEAD = {
  'index.js': { './stack': NOTHING, './link': NOTHING, './color': NOTHING },
  'exports.js': {
    './layouts/Tabs': NOTHING,
    './layouts/experimental-stack': NOTHING,
    './views/ErrorBoundary': NOTHING,
    './views/Sitemap': NOTHING,
    './views/Unmatched': NOTHING,
  },
  'ExpoRoot.js': { './views/Sitemap': NOTHING, './views/RootUnmatched': NOTHING },
  'getRoutes.js': { './views/Sitemap': NOTHING, './views/Unmatched': NOTHING },
  'getRoutesRedirects.js': { './link/Link': NOTHING },
  'layouts/withLayoutContext.js': { '../native-tabs/NativeTabTrigger': NOTHING },
  'screensFeatureFlags.js': { 'react-native-screens': own('screens.js') },
  'views/Navigator.js': { '../layouts/StackClient': own('stackRouter.js') },
  'views/SuspenseFallback.js': { './Toast': own('toast.js') },
  'views/EmptyRoute.js': { './Toast': own('toast.js') },
};

/** All of React Native, which the router asks for at once: the few parts of it that it uses. */
const REACT_NATIVE = own('reactNative.js');

/** What the router gets in place of what it asks for; nothing for all else. */
exports.insteadOf = (from, asked) => {
  const [, file] = from.split(IN_ROUTER);
  if (file === undefined) return undefined;
  return asked === 'react-native-web/dist/index' ? REACT_NATIVE : INSTEAD[file]?.[asked];
};
