/// <reference types="vite/client" />
declare module 'virtual:pictograms' {
  const bodies: Record<string, string>;
  export default bodies;
}
