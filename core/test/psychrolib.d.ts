/** The few functions of psychrolib that the tests call; the package ships no declaration. */
declare module 'psychrolib' {
  const psychrolib: {
    readonly SI: number;
    SetUnitSystem(system: number): void;
    /** Pa from °C. */
    GetSatVapPres(tempC: number): number;
    /** Pa from m. */
    GetStandardAtmPressure(altitudeM: number): number;
  };
  export default psychrolib;
}
