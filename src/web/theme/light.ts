import { useSyncExternalStore } from 'react';
import { onDevice } from '../kept/kept';

export type Light = 'light' | 'dark';

const key = 'tawny-light';
const listeners = new Set<() => void>();

function current(): Light {
  return document.documentElement.classList.contains('dark') ? 'dark' : 'light';
}

/** Switches between the light sheet and the one for dim rooms, and remembers it on this device. */
export function setLight(light: Light): void {
  document.documentElement.classList.remove('light', 'dark');
  document.documentElement.classList.add(light);
  onDevice.set(key, light);
  listeners.forEach((listener) => listener());
}

export function useLight(): Light {
  return useSyncExternalStore((listener) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  }, current);
}
