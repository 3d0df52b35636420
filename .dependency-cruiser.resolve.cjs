module.exports = { resolve: { alias: { $lib: `${__dirname}/src/lib` } } };
