import { tell } from '@/core/instrument/words';
import type { Label, Said } from '@/core/words/said';

const WORDS: Readonly<Record<string, Said>> = {
  suctionPsig: tell('channel.suction-psig'),
  liquidPsig: tell('channel.liquid-psig'),
  suctionLineF: tell('channel.suction-line-f'),
  compressorSuctionF: tell('channel.compressor-suction-f'),
  liquidLineF: tell('channel.liquid-line-f'),
  dischargeLineF: tell('channel.discharge-line-f'),
  outdoorDryBulbF: tell('channel.outdoor-dry-bulb-f'),
  returnDryBulbF: tell('channel.return-dry-bulb-f'),
  returnWetBulbF: tell('channel.return-wet-bulb-f'),
  supplyDryBulbF: tell('channel.supply-dry-bulb-f'),
  compressorA: tell('channel.compressor-a'),
  outdoorFanA: tell('channel.outdoor-fan-a'),
  lineVolts: tell('channel.line-volts'),
  compressorSpeed: tell('channel.compressor-speed'),
  airflowCfm: tell('channel.airflow-cfm'),
  scaleOz: tell('channel.scale-oz'),
  microns: tell('channel.microns'),
  pipeF: tell('channel.pipe-f'),
  testPsig: tell('channel.test-psig'),
  nitrogenPsig: tell('channel.nitrogen-psig'),
  cylinderPsig: tell('channel.cylinder-psig'),
  cylinderF: tell('channel.cylinder-f'),
};

/** What a channel is called; one that has no words goes by its own name. */
export const channelWords = (channel: string): Label => WORDS[channel] ?? channel;
