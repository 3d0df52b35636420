// npm start: installs if needed, builds, and serves.
import { installPackages, must, ROOT, run } from './prepare.mjs';

installPackages();
console.log('Building Mathesis …');
must('npx', ['vite', 'build', '--logLevel', 'error'], { stdio: ['ignore', 'ignore', 'inherit'] });
const port = process.env.PORT ?? '3000';
const host = process.env.HOST ?? '127.0.0.1';
process.on('SIGINT', () => {});
process.exit(
	run(process.execPath, ['build'], { cwd: ROOT, env: { ...process.env, PORT: port, HOST: host } })
);
