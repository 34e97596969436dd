using BenchmarkDotNet.Running;
using Krasis.Benchmarks;

// dotnet run -c Release --project bench/Krasis.Benchmarks -- --filter '*'
BenchmarkSwitcher.FromAssembly(typeof(MixBenchmarks).Assembly).Run(args);
