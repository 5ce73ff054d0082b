/** *Where is …?*, opened from inside a page: the frame around it provides the way. */
import { inject, type InjectionKey } from 'vue';

export const FIND: InjectionKey<() => void> = Symbol('find');

/** @returns opens it; does nothing outside a site's frame */
export const useFind = (): (() => void) => inject(FIND, () => {});
