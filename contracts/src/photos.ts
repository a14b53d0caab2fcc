import 'reflect-metadata';
import { Base64, Id, Moment, NumberBetween, OptionalNested, OptionalText, Optionally, Version } from './fields.ts';
import { photoLimits } from './photoLimits.ts';

/** Where a photo was taken, kept only on purpose; degrees, WGS 84. */
export class PositionBody {
  @NumberBetween('The latitude', -90, 90) latitudeDeg!: number;
  @NumberBetween('The longitude', -180, 180) longitudeDeg!: number;
}

export class NewPhotoBody {
  @Id() id!: string;
  @Id() change!: string;
  @Base64('The picture', photoLimits.keptBytes) jpeg!: string;
  @OptionalText('The caption', 200) caption?: string;
  @Optionally(Moment('When it was taken')) takenAt?: string;
  @OptionalNested(() => PositionBody) position?: PositionBody;
}

export class ChangePhotoBody {
  @Id() change!: string;
  @Version() version!: number;
  @OptionalText('The caption', 200) caption?: string;
}

/** A photo without its picture, which stands at an address of its own. */
export interface PhotoRecord {
  readonly id: string;
  readonly version: number;
  /** of a defect, or a plan, sketch or elevation of an area: one of the two */
  readonly defectId?: string;
  readonly areaId?: string;
  readonly bytes: number;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly caption: string;
  readonly takenAt?: string;
  readonly position?: { readonly latitudeDeg: number; readonly longitudeDeg: number };
  /** who added it, and when */
  readonly by: string;
  readonly at: string;
}
