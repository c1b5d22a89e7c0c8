import type { Owner, OwnMeaning, Vehicle } from '../../core/casefile/contract';
import { changesBetween, withChanges } from '../../core/commands/change';
import { NO_HISTORY, redone, undone, withStep, type Kept } from '../../core/commands/history';
import type { Sheet } from '../../core/commands/vehicleInJob';
import type { GarageStorage, VehicleRecord } from '../storage/garageStorage';
import { texts } from '#words/shared/app';

/** Changes of a vehicle's sheet, each a step that can be taken back; open jobs see them when they are opened. */
export function sheetSteps(storage: GarageStorage) {
  const step = (id: string, change: (kept: Kept<Sheet>) => Kept<Sheet>): Promise<VehicleRecord> =>
    storage.changeVehicle(id, (record) => {
      const sheet = { vehicle: record.vehicle, owner: record.owner };
      const { state, history } = change({ state: sheet, history: record.history ?? NO_HISTORY });
      return state === sheet ? record : { ...record, ...state, history };
    });

  /** What differs between a sheet as shown and as typed: nothing that another tab has changed meanwhile is overwritten. */
  const taken = <T>(now: T, shown: T, typed: T): T => withChanges(now, changesBetween(shown, typed));

  return {
    changeVehicle: (id: string, shown: Vehicle, typed: Vehicle) =>
      step(id, (kept) =>
        withStep(kept, texts.theSheet, { ...kept.state, vehicle: taken(kept.state.vehicle, shown, typed) }),
      ),
    /** Keeps what time and parts cost this owner. */
    changeOwner: (id: string, shown: Owner, typed: Owner) =>
      step(id, (kept) =>
        withStep(kept, texts.theCosts, { ...kept.state, owner: taken(kept.state.owner, shown, typed) }),
      ),
    /** Keeps (or, with null, forgets) what a code means on this vehicle. */
    keepMeaning: (id: string, code: string, meaning: OwnMeaning | null) =>
      step(id, (kept) => {
        const { [code]: _old, ...others } = kept.state.vehicle.codeMeanings ?? {};
        const codeMeanings = meaning ? { ...others, [code]: meaning } : others;
        return withStep(kept, texts.theMeaning, { ...kept.state, vehicle: { ...kept.state.vehicle, codeMeanings } });
      }),
    undoSheet: (id: string) => step(id, undone),
    redoSheet: (id: string) => step(id, redone),
  };
}
