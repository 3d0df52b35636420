// npm start: installs if needed, builds, and serves.
import { installPackages, must, ROOT, run } from './prepare.mjs';

installPackages();
must('npm', ['run', '--silent', 'build']);
const port = process.env.PORT ?? '3000';
const host = process.env.HOST ?? '127.0.0.1';
console.log(`\nMathesis serves at http://${host.includes(':') ? `[${host}]` : host}:${port}\n`);
process.on('SIGINT', () => {});
process.exit(
	run(process.execPath, ['build'], { cwd: ROOT, env: { ...process.env, PORT: port, HOST: host } })
);
