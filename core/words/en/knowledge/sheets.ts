export const texts = {
  ignitionOff: 'Ignition off',
  ignitionOnEngineOff: 'Ignition on, engine off',
};
