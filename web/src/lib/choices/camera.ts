/** Where the stage is looked at from. */

export const CAMERAS = ['front', 'above', 'behind'] as const;
export type Camera = (typeof CAMERAS)[number];

export const cameraFrom = (value: string | null): Camera => CAMERAS.find((c) => c === value) ?? 'front';
