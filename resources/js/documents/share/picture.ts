/** A drawing as a picture that every program shows: twice as fine as it is drawn, so that it stays sharp on a fine screen. */
const FINER = 2;

async function loaded(address: string): Promise<HTMLImageElement> {
    const image = new Image();
    image.src = address;
    await image.decode();
    return image;
}

/** @throws Error if the drawing cannot be fetched or drawn */
export async function pictureOf(address: string): Promise<Blob> {
    const answer = await fetch(address);
    if (!answer.ok) {
        throw new Error('The picture could not be made. Try again.');
    }
    const drawing = URL.createObjectURL(new Blob([await answer.text()], { type: 'image/svg+xml' }));
    try {
        const image = await loaded(drawing);
        const canvas = document.createElement('canvas');
        canvas.width = image.naturalWidth * FINER;
        canvas.height = image.naturalHeight * FINER;
        canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
        return await new Promise((resolve, reject) =>
            canvas.toBlob(
                (blob) =>
                    blob === null ? reject(new Error('This browser makes no pictures. Send the page instead.')) : resolve(blob),
                'image/png',
            ),
        );
    } finally {
        URL.revokeObjectURL(drawing);
    }
}

/** Keeps it among what was downloaded. */
export function keep(blob: Blob, name: string): void {
    const address = URL.createObjectURL(blob);
    const link = document.createElement('a');
    link.href = address;
    link.download = name;
    link.click();
    // Once the browser has taken it.
    setTimeout(() => URL.revokeObjectURL(address), 60_000);
}
