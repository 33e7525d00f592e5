import { parentPort } from 'node:worker_threads';
import { PlantDesk, TICK_MS, type ToDesk } from '@/core/plant/feed/desk';

/** Runs every simulated system off the web server's thread. */
const port = parentPort!;
const desk = new PlantDesk((message) => port.postMessage(message));
port.on('message', (message: ToDesk) => desk.take(message));
setInterval(() => desk.tick(), TICK_MS);
