import { analyseVacuum, type VacuumQuestion } from './vacuum-analysis';

self.onmessage = (message: MessageEvent<VacuumQuestion>) => self.postMessage(analyseVacuum(message.data));
