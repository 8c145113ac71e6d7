import jsQR from 'jsqr';
import { useEffect, useRef, useState } from 'react';
import { Dialog } from '../../ui/Dialog';

const EVERY_MS = 120;
const WIDTH = 640;

/** Reads a packet's square with the camera. The pictures stay in this browser. */
export function ScanDialog({ onCode, onClose }: { onCode: (typed: string) => void; onClose: () => void }) {
    const video = useRef<HTMLVideoElement>(null);
    const [problem, setProblem] = useState<string | null>(null);
    const take = useRef(onCode);
    useEffect(() => {
        take.current = onCode;
    });
    useEffect(() => {
        let stream: MediaStream | null = null;
        let over = false;
        const canvas = document.createElement('canvas');
        const look = () => {
            const picture = video.current;
            const paper = canvas.getContext('2d', { willReadFrequently: true });
            if (picture === null || paper === null || picture.videoWidth === 0) {
                return;
            }
            canvas.width = WIDTH;
            canvas.height = Math.round((WIDTH * picture.videoHeight) / picture.videoWidth);
            paper.drawImage(picture, 0, 0, canvas.width, canvas.height);
            const seen = jsQR(paper.getImageData(0, 0, canvas.width, canvas.height).data, canvas.width, canvas.height);
            if (seen !== null && seen.data !== '') {
                clearInterval(timer);
                take.current(seen.data);
            }
        };
        const timer = setInterval(look, EVERY_MS);
        navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } }).then(
            (given) => {
                stream = given;
                if (over) {
                    given.getTracks().forEach((track) => track.stop());
                } else if (video.current !== null) {
                    video.current.srcObject = given;
                }
            },
            () =>
                setProblem(
                    'There is no camera here, or it may not be used. Type the code instead; a scanner that is a keyboard works too.',
                ),
        );
        return () => {
            over = true;
            clearInterval(timer);
            stream?.getTracks().forEach((track) => track.stop());
        };
    }, []);
    return (
        <Dialog open onOpenChange={onClose} title="Hold the packet’s square before the camera" width="wide">
            {problem === null ? (
                <video ref={video} autoPlay playsInline muted className="w-full rounded-field bg-ink" />
            ) : (
                <p role="alert">{problem}</p>
            )}
        </Dialog>
    );
}
