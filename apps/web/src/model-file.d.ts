/** The address of a model that ships with the application. */
declare module '*.tflite' {
  const address: string;
  export default address;
}
