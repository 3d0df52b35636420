/**
 * Builds `build-static/`: the application as files for any plain web server, under any path, without the API. It works offline as well.
 *
 *     npm run build:static
 */
import { join } from 'node:path';
import { installPackages, run, ROOT } from './prepare.mjs';

installPackages();
const vite = join(ROOT, 'node_modules/vite/bin/vite.js');
// parts of the build run in processes of their own, which read the configuration anew
const env = { ...process.env, NODE_ENV: 'production', MATHESIS_STATIC: '1' };
process.exitCode = run(process.execPath, [vite, 'build', '--mode', 'static'], { env });
