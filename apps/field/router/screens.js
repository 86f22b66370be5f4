/** Flags of a native package that has nothing to do on the web. */
export const featureFlags = { experiment: {} };
