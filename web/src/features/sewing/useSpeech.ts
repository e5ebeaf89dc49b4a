import { useCallback, useEffect, useState } from 'react';

const speaker = typeof window !== 'undefined' && 'speechSynthesis' in window ? window.speechSynthesis : undefined;

/** Reads moves aloud with a voice of the browser's, where it has one. */
export function useSpeech(text: string): { able: boolean; on: boolean; toggle: () => void } {
  const [able, setAble] = useState(false);
  const [on, setOn] = useState(false);
  useEffect(() => {
    // some browsers find their voices only after a while
    const look = () => setAble((speaker?.getVoices().length ?? 0) > 0);
    look();
    speaker?.addEventListener('voiceschanged', look);
    return () => speaker?.removeEventListener('voiceschanged', look);
  }, []);
  useEffect(() => {
    if (!speaker || !able || !on || text === '') {
      return;
    }
    const said = new SpeechSynthesisUtterance(text);
    said.lang = 'en';
    said.rate = 0.95;
    speaker.cancel();
    speaker.speak(said);
    return () => speaker.cancel();
  }, [able, on, text]);
  const toggle = useCallback(() => setOn((was) => !was), []);
  return { able, on, toggle };
}
