declare module 'psychrolib' {
  const psychrolib: {
    SI: number;
    SetUnitSystem: (system: number) => void;
    GetTDewPointFromRelHum: (airC: number, humidity: number) => number;
    GetTWetBulbFromRelHum: (airC: number, humidity: number, pressurePa: number) => number;
  };
  export default psychrolib;
}
