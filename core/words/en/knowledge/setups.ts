export const texts = {
  readerConnected: 'Reader connected',
  wheelRaised: 'Wheel off the ground, car on a stand',
  wheelOff: 'Wheel off',
  disconnectThePlug: 'Disconnect the sensor plug',
  pullTheSensorOut: 'Pull the sensor out',
  modulePlugOff: "Battery isolated, module's plug disconnected, pins identified from the manual",
};
