import { superheatedVapour } from '@/core/refrigerant/superheated-vapour';
import { dischargeF, efficiencyAt, SUCTION_LOSS_F, type Unit, VOLUMETRIC_FALL } from './design';
import { idealWork } from './gas';

type At = {
  /** Dew point in the coil and temperature of the line at the compressor's valve, °F. */
  te: number;
  lineF: number;
  suctionPsia: number;
  /** Discharge over suction pressure, absolute. */
  ratio: number;
  /** 1 sound; share of the discharge that leaks over into the suction. */
  pumping: number;
  bypassed: number;
};

/** What the compressor of a ton moves and takes: gas through the coil lb/h, work Btu/h, its inlet with what leaks over. */
export function compress(u: Unit, { te, lineF, suctionPsia, ratio, pumping, bypassed }: At) {
  const r = u.refrigerant;
  const inletDew = te - SUCTION_LOSS_F;
  const line = superheatedVapour(r, inletDew, lineF - inletDew);
  const efficiency = efficiencyAt(u.isentropic, ratio) * (0.45 + 0.55 * pumping);
  const cleanIdeal = idealWork(r, suctionPsia, line.lbFt3, ratio);
  const cleanDischarge = dischargeF(r, lineF, ratio, cleanIdeal, efficiency);
  const inletF = lineF + bypassed * (cleanDischarge - lineF);
  const inlet = bypassed > 0 ? superheatedVapour(r, inletDew, inletF - inletDew) : line;
  const ideal = bypassed > 0 ? idealWork(r, suctionPsia, inlet.lbFt3, ratio) : cleanIdeal;
  const pumped =
    u.displacementFt3H * inlet.lbFt3 * Math.max(0.05, (u.volumetric - VOLUMETRIC_FALL * (ratio - 1)) * pumping);
  return { efficiency, inletF, ideal, massLbH: pumped * (1 - bypassed), workBtuh: (pumped * ideal) / efficiency };
}
