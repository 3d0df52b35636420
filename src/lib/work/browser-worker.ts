import { expose } from 'comlink';
import { speakFrom } from './language';

// The one entry of the browser's worker. Its name is the address of the language file: words stand in modules, so these are loaded when it is
// there. What comes meanwhile is kept, and handed on in order.
const early: MessageEvent[] = [];
const keep = (event: MessageEvent) => void early.push(event);
addEventListener('message', keep);

await speakFrom(self.name);
const { jobs } = await import('./jobs');
removeEventListener('message', keep);
expose(jobs);
for (const { data } of early) dispatchEvent(new MessageEvent('message', { data }));
