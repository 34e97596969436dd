using Krasis.Core.Quantities;
using Krasis.Store.Json;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

namespace Krasis.Web.Json;

/// <summary>Describes the API: measures are numbers with their unit, ids are strings.</summary>
public static class MeasuredSchemas
{
    public static void Describe(OpenApiOptions options)
    {
        options.AddDocumentTransformer(
            (document, _, _) =>
            {
                document.Info.Title = "Krasis";
                document.Info.Version = "1";
                document.Info.Description =
                    "Standard builds, scaled across the cup sizes. Numbers are in the unit that their description names.";

                // Where the server answers differs from place to place; the description must not.
                document.Servers?.Clear();
                return Task.CompletedTask;
            }
        );
        options.AddOperationTransformer(DescribedOperations.Describe);
        options.CreateSchemaReferenceId = type =>
            Plain(type.Type) ? null : OpenApiOptions.CreateDefaultSchemaReferenceId(type);
        options.AddSchemaTransformer(
            (schema, context, _) =>
            {
                var type = Nullable.GetUnderlyingType(context.JsonTypeInfo.Type) ?? context.JsonTypeInfo.Type;
                // What is worked out when it is asked for is always sent.
                foreach (
                    var property in context.JsonTypeInfo.Properties.Where(property =>
                        property is { Set: null, Get: not null, AssociatedParameter: null }
                        && schema.Properties?.ContainsKey(property.Name) == true
                    )
                )
                {
                    schema.Required ??= new HashSet<string>();
                    schema.Required.Add(property.Name);
                    if (
                        !property.IsGetNullable
                        && schema.Properties![property.Name] is OpenApiSchema { Type: { } kind } sent
                    )
                    {
                        sent.Type = kind & ~JsonSchemaType.Null;
                    }
                }

                var orNull = type == context.JsonTypeInfo.Type ? default : JsonSchemaType.Null;
                if (MeasuredJsonConverterFactory.IsMeasured(type))
                {
                    schema.Type = JsonSchemaType.Number | orNull;
                    schema.Format = "double";
                    var unit = $"In {type.GetProperty(nameof(IMeasured<Grams>.Symbol))!.GetValue(null)}.";
                    schema.Description = schema.Description is { Length: > 0 } says ? $"{says} {unit}" : unit;
                }
                else if (type == typeof(double))
                {
                    schema.Type = JsonSchemaType.Number | orNull;
                    schema.Format = "double";
                }
                else if (IdJsonConverterFactory.IsId(type))
                {
                    schema.Type = JsonSchemaType.String | orNull;
                }
                else if (
                    type.IsGenericType
                    && type.GetGenericTypeDefinition() == typeof(IReadOnlyList<>)
                    && IdJsonConverterFactory.IsId(type.GetGenericArguments()[0])
                )
                {
                    schema.Items = new OpenApiSchema { Type = JsonSchemaType.String };
                }
                else if (
                    type.IsGenericType
                    && type.GetGenericTypeDefinition() == typeof(IReadOnlyList<>)
                    && (
                        type.GetGenericArguments()[0] == typeof(double)
                        || MeasuredJsonConverterFactory.IsMeasured(type.GetGenericArguments()[0])
                    )
                )
                {
                    schema.Items = new OpenApiSchema { Type = JsonSchemaType.Number, Format = "double" };
                }

                return Task.CompletedTask;
            }
        );
    }

    private static bool Plain(Type type)
    {
        var bare = Nullable.GetUnderlyingType(type) ?? type;
        return MeasuredJsonConverterFactory.IsMeasured(bare) || IdJsonConverterFactory.IsId(bare);
    }
}
