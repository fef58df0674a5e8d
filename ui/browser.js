import { existsSync } from 'node:fs';

/** Debian's Chromium: the one that is made to be run without a window needs half the work of the whole one. */
const browsers = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'];

export const launch = {
  executablePath: browsers.find((path) => existsSync(path)) ?? browsers[0],
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
};
