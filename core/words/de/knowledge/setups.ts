import type { texts as en } from '../../en/knowledge/setups';

export const texts: typeof en = {
  readerConnected: 'Lesegerät verbunden',
  wheelRaised: 'Rad vom Boden, Auto auf einem Bock',
  wheelOff: 'Rad ab',
  disconnectThePlug: 'Zieh den Sensorstecker ab',
  pullTheSensorOut: 'Zieh den Sensor heraus',
  modulePlugOff: 'Batterie getrennt, Stecker des Steuergeräts ab, Kontakte nach dem Handbuch bestimmt',
};
