/** A picture from a camera, made small enough to be kept by the dozen. */

const LONGEST_SIDE_PX = 1280;
const QUALITY = 0.82;

/** @returns the JPEG in base64 @throws Error when the file is no picture this browser can read */
export async function smallJpeg(file: File): Promise<string> {
  let picture: ImageBitmap;
  try {
    picture = await createImageBitmap(file, { imageOrientation: "from-image" });
  } catch {
    throw new Error(`${file.name} is no picture this browser can read`);
  }
  const scale = Math.min(1, LONGEST_SIDE_PX / Math.max(picture.width, picture.height));
  const canvas = document.createElement("canvas");
  canvas.width = Math.round(picture.width * scale);
  canvas.height = Math.round(picture.height * scale);
  canvas.getContext("2d")?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  return canvas.toDataURL("image/jpeg", QUALITY).replace(/^data:image\/jpeg;base64,/, "");
}
