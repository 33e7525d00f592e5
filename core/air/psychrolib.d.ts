declare module 'psychrolib' {
  const psychrolib: {
    IP: number;
    SI: number;
    SetUnitSystem(system: number): void;
    GetHumRatioFromTWetBulb(t: number, wb: number, p: number): number;
    GetHumRatioFromRelHum(t: number, rh: number, p: number): number;
    GetRelHumFromHumRatio(t: number, w: number, p: number): number;
    GetTDewPointFromHumRatio(t: number, w: number, p: number): number;
    GetTWetBulbFromHumRatio(t: number, w: number, p: number): number;
    GetMoistAirEnthalpy(t: number, w: number): number;
    GetMoistAirVolume(t: number, w: number, p: number): number;
    GetStandardAtmPressure(altitudeFt: number): number;
    GetSatHumRatio(t: number, p: number): number;
    GetSatVapPres(t: number): number;
  };
  export default psychrolib;
}
