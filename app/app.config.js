/**
 * Which folder is the map of the screens: `app`, or for the bench `empty`, an app of one screen with
 * the same settings and dependencies, against which the size of the first load is measured.
 */
module.exports = ({ config }) => ({
  ...config,
  extra: { router: { root: process.env.CARDINEX_SCREENS ?? 'app' } },
});
