using Krasis.Core.Builds;

namespace Krasis.Core.Changing.EverySize;

/// <summary>A build with one thing changed in every size, before it is worked out.</summary>
/// <param name="Build">The build.</param>
/// <param name="Said">What is to be told of it, a sentence each.</param>
internal sealed record ToTell(BuildDocument Build, IReadOnlyList<string> Said);
