import { PlantDesk, TICK_MS, type ToDesk } from '@/core/plant/feed/desk';

/** The simulated instruments of a device without a connection. */
const desk = new PlantDesk((message) => self.postMessage(message));
self.onmessage = ({ data }: MessageEvent<ToDesk>) => desk.take(data);
setInterval(() => desk.tick(), TICK_MS);
