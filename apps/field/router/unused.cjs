// Parts of the router's package that this app does not use, and what stands in their place: the app has pages and no tabs, stacks,
// previews or maps of its pages. They and the animations they bring would be a fifth of the script of every page. The package is
// pinned to one version; a part that begins to be used shows at once in the end-to-end tests, and the sizes in `npm run bench:screen`.
const { join } = require('node:path');

const empty = { type: 'empty' };
const own = (name) => ({ type: 'sourceFile', filePath: join(__dirname, name) });

/** `file` asks for `part`; files are inside the package's build. */
const UNUSED = [
  { file: 'index.js', part: './stack', instead: empty },
  { file: 'index.js', part: './link', instead: empty },
  { file: 'index.js', part: './color', instead: empty },
  { file: 'exports.js', part: './layouts/Tabs', instead: empty },
  { file: 'exports.js', part: './layouts/experimental-stack', instead: empty },
  { file: 'exports.js', part: './views/ErrorBoundary', instead: empty },
  { file: 'exports.js', part: './views/Sitemap', instead: empty },
  { file: 'exports.js', part: './views/Unmatched', instead: empty },
  { file: 'screensFeatureFlags.js', part: 'react-native-screens', instead: own('screens.js') },
  { file: 'getRoutesRedirects.js', part: './link/Link', instead: empty },
  { file: 'ExpoRoot.js', part: './views/Sitemap', instead: empty },
  { file: 'ExpoRoot.js', part: './views/RootUnmatched', instead: empty },
  { file: 'getRoutes.js', part: './views/Sitemap', instead: empty },
  { file: 'getRoutes.js', part: './views/Unmatched', instead: empty },
  { file: 'layouts/withLayoutContext.js', part: '../native-tabs/NativeTabTrigger', instead: empty },
  { file: 'views/Navigator.js', part: '../layouts/StackClient', instead: own('stackRouter.js') },
  { file: 'views/SuspenseFallback.js', part: './Toast', instead: own('toast.js') },
  { file: 'views/EmptyRoute.js', part: './Toast', instead: own('toast.js') },
];

const IN_ROUTER = '/expo-router/build/';

/** What stands in place of an unused part of the router, or of all of React Native that it asks for at once; nothing for all else. */
exports.insteadOf = (from, asked) => {
  const [, file] = from.split(IN_ROUTER);
  if (file === undefined) return undefined;
  if (asked === 'react-native-web/dist/index') return own('reactNative.js');
  return UNUSED.find((each) => each.part === asked && each.file === file)?.instead;
};
