/** Kinds of pictures that are kept. */
export const pictureTypes = ['image/jpeg', 'image/png', 'image/webp'] as const;

/** A picture may be so large, bytes. */
export const mostPictureBytes = 8_000_000;

/** What a picture that was sent is answered with. */
export interface PictureKept {
  /** SHA-256 of its bytes, under which entries name it. */
  picture: string;
  /** It was here before. */
  already: boolean;
}
