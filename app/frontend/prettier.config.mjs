export default {
  printWidth: 120,
  htmlWhitespaceSensitivity: "css",
  bracketSameLine: true,
};
