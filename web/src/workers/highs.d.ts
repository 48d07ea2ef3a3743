declare module 'highs/runtime?url' {
  const url: string;
  export default url;
}
