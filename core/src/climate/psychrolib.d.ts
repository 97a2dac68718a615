declare module 'psychrolib' {
  const psychrolib: {
    SI: number;
    SetUnitSystem(system: number): void;
    /** Pa */
    GetSatVapPres(temperatureCelsius: number): number;
    /** @param pressure Pa */
    GetTWetBulbFromRelHum(temperatureCelsius: number, relativeHumidity: number, pressure: number): number;
    GetVapPresFromRelHum(temperatureCelsius: number, relativeHumidity: number): number;
    GetRelHumFromVapPres(temperatureCelsius: number, vapourPressurePascals: number): number;
    GetTDewPointFromRelHum(temperatureCelsius: number, relativeHumidity: number): number;
  };
  export default psychrolib;
}
